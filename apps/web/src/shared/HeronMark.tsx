/** The heron, standing on the waterline. Decorative: the station it stands at says so in words. */
export function HeronMark({ className }: { className?: string }) {
  return (
    <svg viewBox="0 0 40 44" className={className} aria-hidden="true" focusable="false">
      <g fill="none" stroke="currentColor" strokeLinecap="round" strokeLinejoin="round">
        <path d="M21 31v13M25 30.500l.8 13.500" strokeWidth="1.600" />
        <path
          d="M11 26.500c4.500-6 13.500-7 21-2.200-2.300 5.400-10 8.300-17 6.700-2.400-.5-4-2.300-4-4.500z"
          fill="currentColor"
          strokeWidth="1.500"
        />
        <path d="M12.500 25.500c-4-3.800-3.200-8.600.8-10.800 3-1.900 3-4.600.7-7" strokeWidth="2.400" />
        <path d="M15 7.200c3.800-.8 7 0 9.200 2.300" strokeWidth="1.400" />
      </g>
      <path d="M15 7.500L4 10.400c3.200 1.200 7.300.8 10.600-.8z" fill="var(--melt)" />
    </svg>
  );
}
