/** What of a computed style a drawing needs to look the same on its own. */
const kept = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-opacity',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;

/** Pixels of a picture for each of the screen's, so that it can be printed. */
const pictureScale = 3;

/**
 * A drawing as SVG text that stands on its own: colours and type written into it, grips left out, on the sheet's own
 * ground.
 */
function standaloneSvg(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const originals = [svg, ...svg.querySelectorAll<SVGElement>('*')];
  const copies = [copy, ...copy.querySelectorAll<SVGElement>('*')];
  copies.forEach((element, i) => {
    const original = originals[i];
    if (original === undefined) return;
    const style = getComputedStyle(original);
    for (const property of kept) {
      const value = style.getPropertyValue(property);
      element.removeAttribute(property);
      if (value !== '') element.style.setProperty(property, value);
    }
    if (original.tagName === 'stop') element.setAttribute('stop-color', style.getPropertyValue('stop-color'));
    element.removeAttribute('class');
  });
  copy.querySelectorAll('[data-no-export]').forEach((element) => element.remove());
  const { width, height } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.style.background = getComputedStyle(document.documentElement).getPropertyValue('--color-base-100');
  return new XMLSerializer().serializeToString(copy);
}

/** Saves a drawing as a file of the shop's own. */
export async function saveDrawing(svg: SVGSVGElement, kind: 'svg' | 'png', name: string): Promise<void> {
  const text = standaloneSvg(svg);
  const blob = new Blob([text], { type: 'image/svg+xml' });
  download(kind === 'svg' ? blob : await pictureOf(blob, svg), `${name}.${kind}`);
}

async function pictureOf(blob: Blob, svg: SVGSVGElement): Promise<Blob> {
  const { width, height } = svg.viewBox.baseVal;
  const address = URL.createObjectURL(blob);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = width * pictureScale;
    canvas.height = height * pictureScale;
    const ink = canvas.getContext('2d');
    if (ink === null) throw new Error('this browser draws no pictures');
    ink.fillStyle = getComputedStyle(document.documentElement).getPropertyValue('--color-base-100');
    ink.fillRect(0, 0, canvas.width, canvas.height);
    ink.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise<Blob>((resolve, reject) =>
      canvas.toBlob((png) => (png === null ? reject(new Error('no picture was made')) : resolve(png))),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}

function download(blob: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
