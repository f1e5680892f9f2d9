import type { RevisionSheet } from '@/api/types';
import { pictureAddress } from '../pictures';

type Props = { pictures: RevisionSheet['rungs'][number]['pictures'] };

/** How it must look and how it must not, side by side; in words and line as well as in colour. */
export function PictureRow({ pictures }: Props) {
  if (pictures.length === 0) return null;
  return (
    <ul className="my-2 flex flex-wrap gap-4">
      {pictures.map((p) => (
        <li key={p.file + p.shows} className="w-48">
          <a href={pictureAddress(p.file)} target="_blank" rel="noreferrer">
            <img
              className={`aspect-[4/3] w-full bg-sheet object-contain ${p.shows === 'right' ? 'border border-line' : 'border-2 border-dashed border-fault'}`}
              src={pictureAddress(p.file)}
              alt={`${p.shows}: ${p.says}`}
            />
          </a>
          <p className="mt-1 text-sm">
            <b className={p.shows === 'right' ? '' : 'text-fault'}>{p.shows}</b>, {p.says}
          </p>
        </li>
      ))}
    </ul>
  );
}
