import { expect, test } from '@jest/globals';
import { within } from '../../src/offload/within';

test('what answers in time answers; what never does is stopped and says so', async () => {
  let stopped = 0;
  const stop = (): void => {
    stopped += 1;
  };
  await expect(within({ done: Promise.resolve(7), stop }, 1000, new Error('late'))).resolves.toBe(7);
  expect(stopped).toBe(0);
  await expect(within({ done: new Promise<never>(() => undefined), stop }, 5, new Error('late'))).rejects.toThrow(
    'late',
  );
  expect(stopped).toBe(1);
  await expect(within({ done: Promise.reject(new Error('broken')), stop }, 1000, new Error('late'))).rejects.toThrow(
    'broken',
  );
});
