import { pictureAddress } from '../../shared/api/photosApi.js';
import { useShopPhotosQuery } from '../../shared/api/shopPhotosApi.js';

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
  return (
    <a href={pictureAddress(photo.hash)} target="_blank" rel="noreferrer" className="inline-block">
      <img
        src={pictureAddress(photo.hash, 'small')}
        alt={words}
        className="h-14 rounded-box border border-base-300"
      />
    </a>
  );
}
