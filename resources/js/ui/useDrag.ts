import { type PointerEvent, type SVGProps, useRef } from 'react';

type OnDrag = (key: string, dx: number, dy: number, done: boolean) => void;
type OnStart = (key: string, more: boolean) => void;

/** The same for all, so that what is not dragged is not drawn again. */
const NOT_DRAGGED: SVGProps<SVGGElement> = {};

/** Dragging things of a picture: how far the hand has gone since the last move, in the picture's own units. */
export function useDrag(onDrag: OnDrag | undefined, onStart: OnStart | undefined) {
  const last = useRef<{ x: number; y: number } | null>(null);
  const place = (event: PointerEvent<SVGGElement>) => {
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM();
    return matrix ? new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse()) : null;
  };
  const end = (key: string) => () => {
    if (last.current === null) return;
    last.current = null;
    onDrag?.(key, 0, 0, true);
  };
  return (key: string): SVGProps<SVGGElement> =>
    onDrag === undefined
      ? NOT_DRAGGED
      : {
          className: 'cursor-move',
          style: { touchAction: 'none' as const },
          onPointerDown: (event: PointerEvent<SVGGElement>) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            last.current = place(event);
            onStart?.(key, event.shiftKey);
          },
          onPointerMove: (event: PointerEvent<SVGGElement>) => {
            const now = place(event);
            if (last.current === null || now === null) return;
            onDrag(key, now.x - last.current.x, now.y - last.current.y, false);
            last.current = now;
          },
          onPointerUp: end(key),
          // A hand that the browser took the picture away from (a pinch, a palm, another window) has let go as well.
          onPointerCancel: end(key),
          onLostPointerCapture: end(key),
        };
}
