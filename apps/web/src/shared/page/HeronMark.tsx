/** The heron, standing on the waterline. Decorative: the station it stands at says so in words. */
export function HeronMark({ className }: { className?: string }) {
  return (
    <svg viewBox="0 0 40 44" className={className} aria-hidden="true" focusable="false">
      <g fill="none" stroke="currentColor" strokeLinecap="round" strokeLinejoin="round">
        <path d="M21 31v13M25 30.5l.8 13.5" strokeWidth="1.6" />
        <path
          d="M11 26.5c4.5-6 13.5-7 21-2.2-2.3 5.4-10 8.3-17 6.7-2.4-.5-4-2.3-4-4.5z"
          fill="currentColor"
          strokeWidth="1.5"
        />
        <path d="M12.5 25.5c-4-3.8-3.2-8.6.8-10.8 3-1.9 3-4.6.7-7" strokeWidth="2.4" />
        <path d="M15 7.2c3.8-.8 7 0 9.2 2.3" strokeWidth="1.4" />
      </g>
      <path d="M15 7.5L4 10.4c3.2 1.2 7.3.8 10.6-.8z" fill="var(--melt)" />
    </svg>
  );
}
