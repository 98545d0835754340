import {
  acrossFace,
  belowFace,
  generatedSection,
  lengthBetween,
  pictureScale,
  pixelsBelowFace,
  pixelsBetween,
  pointSd,
  traceFusionLine,
  type DrawnSection,
} from './index.js';
import { gaussian, numberStream } from '../testing/numberStream.js';

const draw = (depthMm: number, seed = 7, tiltDegrees = 0, widthMm = 2.2, thicknessMm = 2): DrawnSection =>
  generatedSection({
    thicknessMm,
    widthMm,
    depthMm,
    pixelsPerMm: 70,
    tiltDegrees,
    random: numberStream(seed),
  });

/** What tracing gives for the depth of a drawn section, mm. */
function tracedDepth({ picture, face, middle, back }: DrawnSection, thicknessMm = 2): number {
  const thicknessPixels = pixelsBetween(middle, back);
  const { points } = traceFusionLine({ picture, face, middle, thicknessPixels });
  const scale = pictureScale(middle, back, thicknessMm, 0);
  return Math.max(...points.map((point) => pixelsBelowFace(point, face))) * scale.mmPerPixel;
}

describe('a scale', () => {
  it('refuses points that are too close, and lengths that cannot be', () => {
    expect(() => pictureScale({ x: 0, y: 0 }, { x: 10, y: 0 }, 2, 0)).toThrow('20 pixels or more');
    expect(() => pictureScale({ x: 0, y: 0 }, { x: 100, y: 0 }, 0, 0)).toThrow('known length');
  });

  it('states an error that holds where hands shake as they do: 68 % within one, 95 % within two', () => {
    const random = numberStream(3);
    const shaken = (x: number, y: number) => ({
      x: x + pointSd * gaussian(random),
      y: y + pointSd * gaussian(random),
    });
    let [one, two] = [0, 0];
    const tries = 4000;
    for (let i = 0; i < tries; i++) {
      const scale = pictureScale(shaken(0, 0), shaken(0, 140), 2 + 0.02 * gaussian(random), 0.02);
      const face = { left: shaken(-150, 0), right: shaken(150, 0) };
      const { mm, sdMm } = belowFace(shaken(20, 105), face, scale);
      if (Math.abs(mm - 1.5) < sdMm) one++;
      if (Math.abs(mm - 1.5) < 2 * sdMm) two++;
    }
    expect(one / tries).toBeGreaterThan(0.64);
    expect(one / tries).toBeLessThan(0.72);
    expect(two / tries).toBeGreaterThan(0.93);
  });
});

describe('measuring', () => {
  const scale = { mmPerPixel: 0.01, relativeSd: 0.01 };
  const face = { left: { x: 0, y: 100 }, right: { x: 200, y: 100 } };

  it('is the same however the picture is turned', () => {
    for (const angle of [0, 10, -35, 170]) {
      const turn = ({ x, y }: { x: number; y: number }) => {
        const a = (angle * Math.PI) / 180;
        return { x: x * Math.cos(a) - y * Math.sin(a), y: x * Math.sin(a) + y * Math.cos(a) };
      };
      const turned = { left: turn(face.left), right: turn(face.right) };
      expect(belowFace(turn({ x: 90, y: 180 }), turned, scale).mm).toBeCloseTo(0.8, 9);
      expect(belowFace(turn({ x: 90, y: 90 }), turned, scale).mm).toBeCloseTo(-0.1, 9);
      expect(lengthBetween(turn({ x: 0, y: 0 }), turn({ x: 30, y: 40 }), scale).mm).toBeCloseTo(0.5, 9);
      const step = acrossFace(turn({ x: 20, y: 100 }), turn({ x: 180, y: 112 }), turned, scale);
      expect(step.mm).toBeCloseTo(0.12, 9);
    }
  });

  it('is surer on a closer picture, and never surer than its scale', () => {
    const near = lengthBetween({ x: 0, y: 0 }, { x: 400, y: 0 }, { mmPerPixel: 0.005, relativeSd: 0 });
    const far = lengthBetween({ x: 0, y: 0 }, { x: 100, y: 0 }, { mmPerPixel: 0.02, relativeSd: 0 });
    expect(near.mm).toBeCloseTo(far.mm, 9);
    expect(near.sdMm).toBeLessThan(far.sdMm);
    const { mm, sdMm } = lengthBetween({ x: 0, y: 0 }, { x: 1000, y: 0 }, scale);
    expect(sdMm / mm).toBeGreaterThanOrEqual(0.01);
  });
});

describe('tracing a drawn section', () => {
  const cases = [0.5, 0.8, 1.1, 1.4, 1.7].flatMap((depth) =>
    [-4, 0, 5].map((tilt) => ({ depth, tilt, seed: Math.round(depth * 100) + tilt })),
  );

  it.each(cases)('finds a depth of $depth mm within 8 % at $tilt degrees', ({ depth, tilt, seed }) => {
    const traced = tracedDepth(draw(depth, seed, tilt));
    expect(Math.abs(traced / depth - 1)).toBeLessThan(0.08);
  });

  it('finds it too where the melt is lighter than the metal', () => {
    const drawn = draw(1.2);
    const data = drawn.picture.data.map((shade) => 255 - shade);
    const traced = tracedDepth({ ...drawn, picture: { ...drawn.picture, data } });
    expect(Math.abs(traced / 1.2 - 1)).toBeLessThan(0.08);
  });

  it('needs the middle only about', () => {
    const drawn = draw(1.3);
    const middle = { x: drawn.middle.x + 20, y: drawn.middle.y + 9 };
    const thicknessPixels = pixelsBetween(drawn.middle, drawn.back);
    const { points } = traceFusionLine({ ...drawn, middle, thicknessPixels });
    const scale = pictureScale(drawn.middle, drawn.back, 2, 0);
    const depth = Math.max(...points.map((point) => pixelsBelowFace(point, drawn.face))) * scale.mmPerPixel;
    expect(Math.abs(depth / 1.3 - 1)).toBeLessThan(0.08);
  });

  it('says that it meets the back where the melt comes through, and that it stands out', () => {
    const through = draw(2.6);
    const thicknessPixels = pixelsBetween(through.middle, through.back);
    expect(traceFusionLine({ ...through, thicknessPixels }).meetsBack).toBe(true);
    const stopped = draw(1.2);
    const line = traceFusionLine({ ...stopped, thicknessPixels });
    expect(line.meetsBack).toBe(false);
    expect(line.contrast).toBeGreaterThan(1);
  });

  it('says that nothing stands out on a picture without a melt', () => {
    const random = numberStream(11);
    const [width, height] = [500, 300];
    const data = Uint8Array.from({ length: width * height }, () => 150 + 20 * random());
    const face = { left: { x: 60, y: 40 }, right: { x: 440, y: 40 } };
    const task = { picture: { width, height, data }, face, middle: { x: 250, y: 40 }, thicknessPixels: 150 };
    expect(traceFusionLine(task).contrast).toBeLessThan(1);
  });

  it('refuses a picture on which the sheet is too small', () => {
    expect(() => traceFusionLine({ ...draw(1.2), thicknessPixels: 20 })).toThrow('40 pixels or more');
  });
});
