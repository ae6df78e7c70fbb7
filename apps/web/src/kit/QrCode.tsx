import QRCode from 'qrcode';

const QUIET = 4;

/** An address to be scanned, from paper or from the screen, drawn square by square. */
export function QrCode({
  address,
  label,
  sidePx = 132,
}: {
  address: string;
  label: string;
  sidePx?: number;
}) {
  const { size, data } = QRCode.create(address, { errorCorrectionLevel: 'M' }).modules;
  const squares = Array.from(data).flatMap((dark, at) =>
    dark ? [`M${(at % size) + QUIET} ${Math.floor(at / size) + QUIET}h1v1h-1Z`] : [],
  );
  const side = size + 2 * QUIET;
  return (
    <svg
      viewBox={`0 0 ${side} ${side}`}
      width={sidePx}
      height={sidePx}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <rect width={side} height={side} fill="#fff" />
      <path d={squares.join('')} fill="#000" />
    </svg>
  );
}
