import { shrunkSize } from './shrink';

describe('the size of a photo as it is sent', () => {
  it('keeps the shape, never enlarges, and never vanishes', () => {
    expect(shrunkSize(4000, 3000)).toEqual({ widthPx: 1600, heightPx: 1200 });
    expect(shrunkSize(3000, 4000)).toEqual({ widthPx: 1200, heightPx: 1600 });
    expect(shrunkSize(640, 480)).toEqual({ widthPx: 640, heightPx: 480 });
    expect(shrunkSize(20_000, 3)).toEqual({ widthPx: 1600, heightPx: 1 });
  });
});
