import { expect, test } from '@jest/globals';
import { withDeadline } from '../../src/offload/withDeadline';

test('what answers in time answers; what never does is stopped and says so', async () => {
  let stopped = 0;
  const stop = (): void => {
    stopped += 1;
  };
  await expect(withDeadline({ done: Promise.resolve(7), stop }, 1000, new Error('late'))).resolves.toBe(7);
  expect(stopped).toBe(0);
  await expect(withDeadline({ done: new Promise<never>(() => undefined), stop }, 5, new Error('late'))).rejects.toThrow(
    'late',
  );
  expect(stopped).toBe(1);
  await expect(
    withDeadline({ done: Promise.reject(new Error('broken')), stop }, 1000, new Error('late')),
  ).rejects.toThrow('broken');
});
