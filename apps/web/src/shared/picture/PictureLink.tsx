import { pictureAddress } from '../api/photosApi.js';

interface PictureLinkProps {
  hash: string;
  /** What is on it, for those who do not see it. */
  words: string;
}

/** A picture in small that opens whole in a page of its own. */
export function PictureLink({ hash, words }: PictureLinkProps) {
  return (
    <a href={pictureAddress(hash)} target="_blank" rel="noreferrer" className="inline-block">
      <img
        src={pictureAddress(hash, 'small')}
        alt={`${words}, whole in a page of its own`}
        className="h-14 rounded-box border border-base-300"
      />
    </a>
  );
}
