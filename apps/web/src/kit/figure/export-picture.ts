/** What a picture looks like once the page's style is gone: these are written into each of its parts. */
const KEPT = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'stroke-opacity',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'dominant-baseline',
  'visibility',
] as const;
const SHARPNESS = 2;

/** A drawing of the page as a file of its own: its colours and letters written into it, on the page's paper. */
export function svgText(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  const parts = [drawing, ...drawing.querySelectorAll('*')];
  [copy, ...copy.querySelectorAll('*')].forEach((part, at) => {
    const look = getComputedStyle(parts[at] as Element);
    for (const property of KEPT) {
      const value = look.getPropertyValue(property);
      if (value !== '') (part as SVGElement).style.setProperty(property, value);
    }
    part.removeAttribute('class');
  });
  const { width, height } = sizeOf(drawing);
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.style.background = getComputedStyle(document.documentElement).getPropertyValue('--sheet');
  return new XMLSerializer().serializeToString(copy);
}

/** The same as pixels, twice as sharp as the screen. */
export async function pngOf(drawing: SVGSVGElement): Promise<Blob> {
  const { width, height } = sizeOf(drawing);
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(drawing))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * SHARPNESS;
  canvas.height = height * SHARPNESS;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) => {
    canvas.toBlob(
      (blob) => (blob ? done(blob) : failed(new Error('The picture could not be made.'))),
      'image/png',
    );
  });
}

function sizeOf(drawing: SVGSVGElement): { width: number; height: number } {
  const { width, height } = drawing.getBoundingClientRect();
  return { width: Math.round(width), height: Math.round(height) };
}
