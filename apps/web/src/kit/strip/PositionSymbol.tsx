import type { ValveFunction, ValveType } from '@grevik/core';

const BOW_TIE = 'M4 7v18l14-9zM32 7v18l-14-9z';

interface PositionSymbolProps {
  type?: ValveType | undefined;
  asked: ValveFunction;
  /** Crossed out: what is there has to be acted on. */
  isFailing?: boolean;
  /** What its body is filled with; white unless given. */
  fill?: string;
}

/** The piping symbol of what is at a position: the type picked, else what its function asks for. */
export function PositionSymbol({
  type,
  asked,
  isFailing = false,
  fill = 'var(--bright)',
}: PositionSymbolProps) {
  return (
    <svg
      viewBox="0 0 36 32"
      width="36"
      height="32"
      aria-hidden="true"
      fill={fill}
      stroke="var(--ink)"
      strokeWidth="1.8"
      strokeLinejoin="round"
    >
      {asked === 'non-return' ? (
        <path d="M5 7v18M5 25 31 7v18M31 16h-9m9 0-5-4m5 4-5 4" fill="none" />
      ) : (
        <path d={BOW_TIE} />
      )}
      {mark(type)}
      {isFailing && <path d="M5 2l26 28M31 2 5 30" fill="none" stroke="var(--out)" strokeWidth="2.6" />}
    </svg>
  );
}

function mark(type: ValveType | undefined) {
  switch (type) {
    case 'ball':
    case 'quarter-turn-stop':
      return <circle cx="18" cy="16" r="5.5" />;
    case 'gate-solid':
    case 'gate-resilient':
      return <path d="M18 7v18" />;
    case 'globe':
    case 'globe-y':
    case 'angle':
    case 'compression-stop':
    case 'compression-stop-angle':
      return <circle cx="18" cy="16" r="4.5" fill="var(--ink)" />;
    case 'needle':
      return <path d="M14 6h8l-4 14z" fill="var(--ink)" />;
    case 'diaphragm':
      return <path d="M8 9q10 14 20 0" fill="none" />;
    case 'butterfly-resilient':
      return (
        <>
          <path d="M18 16 25 7" />
          <circle cx="18" cy="16" r="2.5" fill="var(--ink)" />
        </>
      );
    default:
      return null;
  }
}
