import { polygonPath, type SectionView } from './sectionView.js';

/** The two sheets, hatched, and what the weld should fill, in outline. */
export function Sheets({ view, hatch }: { view: SectionView; hatch: string }) {
  const { first, second, fill } = view.outline;
  return (
    <>
      {[...first, ...second].map((polygon) => (
        <path
          key={polygonPath(polygon, view)}
          d={polygonPath(polygon, view)}
          fill={`url(#${hatch})`}
          fillRule="evenodd"
          stroke="var(--steel-line)"
          strokeWidth={1.2}
        />
      ))}
      {fill.map((polygon) => (
        <path
          key={polygonPath(polygon, view)}
          d={polygonPath(polygon, view)}
          fill="var(--melt)"
          fillOpacity={0.12}
          stroke="var(--melt-edge)"
          strokeWidth={0.8}
          strokeDasharray="2 3"
        />
      ))}
    </>
  );
}
