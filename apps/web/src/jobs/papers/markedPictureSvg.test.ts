import { jobWeld } from '@lone-heron/contract/testing';
import { markedPictureSvg, placedPictures } from './markedPictureSvg.js';

const photoId = '019a0000-0000-7000-8000-000000000009';
const other = '019a0000-0000-7000-8000-000000000008';
const place = { photoId, from: { x: 0.1, y: 0.5 }, to: { x: 0.3, y: 0.5 } };
const welds = [jobWeld('W1', { place }), jobWeld('W2')];
const picture = (id: string) => ({ photoId: id, name: 'front', heightShare: 0.5, widthMm: null });

it('takes the pictures that something is placed on', () => {
  const found = placedPictures({ pictures: [picture(other), picture(photoId)], welds });
  expect(found.map((each) => [each.photoId, each.placed.map(({ mark }) => mark)])).toEqual([
    [photoId, ['W1']],
  ]);
});

it('draws each seam where it lies, with its mark', () => {
  const svg = markedPictureSvg({ name: '', data: 'data:,', heightShare: 0.5, placed: welds }, 400);
  expect(svg).toContain('width="400" height="200"');
  expect(svg.match(/x1="40" y1="100" x2="120" y2="100"/g)).toHaveLength(2);
  expect(svg.match(/<text/g)).toHaveLength(1);
  expect(svg).toContain('>W1</text>');
});
