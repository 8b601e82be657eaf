/**
 * A button marked `data-once` does a thing that is not meant twice: the second press of a double click is the first,
 * though what is under the hand may by then be another button at the same place.
 */
export function swallowSecondPress(): void {
  document.addEventListener(
    'click',
    (e) => {
      if (e.detail < 2 || !(e.target instanceof Element) || !e.target.closest('[data-once]')) return;
      e.preventDefault();
      e.stopPropagation();
    },
    true,
  );
}
