import { forgetTyping, hasTyping, keepTyping, onTyping, typingOf } from './keptTyping.js';

/** What a tab of its own would find: nothing but what the storage holds. */
async function anew() {
  jest.resetModules();
  return import('./keptTyping.js');
}

afterEach(() => {
  forgetTyping('bottle');
  sessionStorage.clear();
});

describe('what is typed on a sheet', () => {
  it('is there field by field, and after the tab is loaded anew', async () => {
    keepTyping('bottle', 'litres', '50');
    keepTyping('bottle', 'gas', 'argon');
    expect(typingOf('bottle')).toEqual({ litres: '50', gas: 'argon' });
    expect((await anew()).typingOf('bottle')).toEqual({ litres: '50', gas: 'argon' });
  });

  it('is of that sheet alone', () => {
    keepTyping('bottle', 'litres', '50');
    expect(hasTyping('bottle')).toBe(true);
    expect(hasTyping('spare')).toBe(false);
  });

  it('is gone once it is forgotten, and put back by who asks for it', async () => {
    keepTyping('bottle', 'litres', '50');
    const putBack = forgetTyping('bottle');
    expect(hasTyping('bottle')).toBe(false);
    expect((await anew()).hasTyping('bottle')).toBe(false);
    putBack();
    expect(typingOf('bottle')).toEqual({ litres: '50' });
  });

  it('tells who listens, until that ends', () => {
    const told = jest.fn();
    const end = onTyping(told);
    keepTyping('bottle', 'litres', '50');
    end();
    keepTyping('bottle', 'litres', '51');
    expect(told).toHaveBeenCalledTimes(1);
  });

  it('is nothing where the storage holds what cannot be read', async () => {
    sessionStorage.setItem('lone-heron.typed.bottle', '{"litres":');
    expect((await anew()).hasTyping('bottle')).toBe(false);
  });

  it('stands on the screen where the storage is full', () => {
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    keepTyping('bottle', 'litres', '50');
    full.mockRestore();
    expect(typingOf('bottle')).toEqual({ litres: '50' });
  });
});
