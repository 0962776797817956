import { idInPath } from './path';

describe('the id in an address', () => {
  it.each([
    ['/bench/b5', 'b5'],
    ['/log/leek%20soup', 'leek soup'],
    ['/bench/caf%C3%A9', 'café'],
    ['/bench/100%', '100%'],
    ['/bench', ''],
  ])('%s gives %s', (path, id) => {
    expect(idInPath(path)).toBe(id);
  });
});
