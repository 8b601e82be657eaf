import { lazy } from 'react';
import type { ComponentType } from 'react';

/** A failed import stays failed within a lazy component: it is made anew when the cook asks again. */
const failed = new Set<() => void>();
/** What could not be loaded is asked for once more when it is shown next. */
export function askAgain(): void {
  for (const renew of failed) renew();
  failed.clear();
}

/** A room that is loaded when it is first opened. */
export function room(load: () => Promise<ComponentType>): ComponentType {
  const ask = () =>
    lazy(async () => {
      try {
        return { default: await load() };
      } catch (e) {
        failed.add(() => {
          Page = ask();
        });
        throw e;
      }
    });
  let Page = ask();
  return function Room() {
    const Now = Page;
    return <Now />;
  };
}
