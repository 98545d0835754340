import { useShopPhotosQuery } from '../../shared/api/shopPhotosApi.js';
import { PictureLink } from '../../shared/picture/PictureLink.js';

interface ShopPhotoLinkProps {
  machineId: string;
  photoId: string;
  /** What is on it, for those who do not see it. */
  words: string;
}

/** A photo in small that opens whole. */
export function ShopPhotoLink({ machineId, photoId, words }: ShopPhotoLinkProps) {
  const { data: photos = [] } = useShopPhotosQuery(machineId);
  const photo = photos.find(({ id }) => id === photoId);
  if (photo === undefined) return null;
  return <PictureLink hash={photo.hash} words={words} />;
}
