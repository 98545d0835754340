import { MadeOnce } from './MadeOnce.js';

describe('what is made of what is stored', () => {
  const make = jest.fn<Promise<string>, []>();
  beforeEach(() => make.mockReset().mockResolvedValue('made'));

  it('is made once for all who ask at once, and anew after a write or when it is old', async () => {
    const once = new MadeOnce<string>(1000);
    const asked = [0, 500, 999].map((at) => once.take({ writes: 2, at }, make));
    expect(await Promise.all(asked)).toEqual(['made', 'made', 'made']);
    expect(make).toHaveBeenCalledTimes(1);
    await once.take({ writes: 4, at: 999 }, make);
    await once.take({ writes: 4, at: 1999 }, make);
    expect(make).toHaveBeenCalledTimes(3);
  });

  it('is tried again after it failed', async () => {
    const once = new MadeOnce<string>(1000);
    make.mockRejectedValueOnce(new Error('the disk is away'));
    await expect(once.take({ writes: 0, at: 0 }, make)).rejects.toThrow('the disk is away');
    expect(await once.take({ writes: 0, at: 0 }, make)).toBe('made');
  });
});
