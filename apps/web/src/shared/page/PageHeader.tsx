import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface PageHeaderProps {
  title: string;
  back: { readonly to: string; readonly name: string };
  /** What else stands in the line, such as a button to print. */
  children?: ReactNode;
}

/** The head of a page inside a station: the way back, its title. */
export function PageHeader({ title, back, children }: PageHeaderProps) {
  return (
    <header className="flex flex-wrap items-center gap-3">
      <Link
        to={back.to}
        className="btn touch btn-square btn-ghost print:hidden"
        aria-label={`Back to ${back.name}`}
      >
        <ArrowLeft className="size-5" aria-hidden="true" />
      </Link>
      <h1 className="mr-auto text-2xl font-semibold">{title}</h1>
      {children}
    </header>
  );
}
