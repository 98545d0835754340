import { useState } from 'react';
import Markdown from 'react-markdown';
import { Link, NavLink, useNavigate, useParams } from 'react-router';
import { Search } from 'lucide-react';
import { chapters, pictureAt } from './chapters.js';
import { searchChapters } from './searchChapters.js';

/** The handbook: chapter by chapter, searched, without a network. */
export default function HandbookScreen() {
  const { chapter: name } = useParams();
  const [words, setWords] = useState('');
  const chapter = chapters.find((each) => each.name === name) ?? chapters[0];
  const found = searchChapters(chapters, words);
  const navigate = useNavigate();
  const open = (picked: string) => {
    setWords('');
    void navigate(`/help/${picked}`);
  };
  return (
    <div className="mx-auto grid max-w-[1200px] gap-6 px-4 py-4 sm:px-6 md:grid-cols-[16rem_minmax(0,1fr)]">
      <nav aria-label="Chapters" className="flex flex-col gap-1 print:hidden">
        <label className="input touch mb-2 w-full">
          <Search className="size-4 shrink-0" aria-hidden="true" />
          <input
            type="search"
            aria-label="Look for in the handbook"
            placeholder="look for"
            maxLength={80}
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
        </label>
        <select
          className="select touch-always w-full text-base md:hidden"
          aria-label="Chapter"
          value={chapter?.name ?? ''}
          onChange={(event) => open(event.target.value)}
        >
          {chapters.map((each) => (
            <option key={each.name} value={each.name}>
              {each.title}
            </option>
          ))}
        </select>
        {chapters.map((each) => (
          <NavLink
            key={each.name}
            to={`/help/${each.name}`}
            onClick={() => setWords('')}
            className="flex min-h-12 items-center rounded-box px-3 max-md:hidden aria-[current=page]:bg-base-100 aria-[current=page]:font-semibold"
          >
            {each.title}
          </NavLink>
        ))}
      </nav>
      {words.trim() === '' ? (
        <article className="handbook sheet px-6 py-5">
          <Markdown components={{ img: Picture, a: Anchor }}>{chapter?.text ?? ''}</Markdown>
        </article>
      ) : (
        <section className="sheet flex flex-col gap-3 px-6 py-5" aria-label="Found">
          <h1 className="text-2xl font-semibold">“{words}”</h1>
          {found.length === 0 && <p>Nothing in the handbook has these words.</p>}
          <ul className="flex flex-col divide-y divide-base-300">
            {found.map(({ chapter: of, title, words: said }) => (
              <li key={`${of}${said}`} className="py-3">
                <Link className="link font-semibold" to={`/help/${of}`} onClick={() => setWords('')}>
                  {title}
                </Link>
                <p>{said}</p>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

function Picture({ src, alt }: { src?: string | Blob | undefined; alt?: string | undefined }) {
  return (
    <img
      src={typeof src === 'string' ? pictureAt(src) : undefined}
      alt={alt ?? ''}
      className="my-3 w-full rounded-box border border-base-300"
      loading="lazy"
    />
  );
}

function Anchor({ href = '', children }: { href?: string | undefined; children?: React.ReactNode }) {
  return (
    <a className="link" href={href}>
      {children}
    </a>
  );
}
