/** A switch of its own that keeps the browser from closing the page without a question. */
export function closingGuard(): (needed: boolean) => void {
  const stay = (event: BeforeUnloadEvent) => event.preventDefault();
  return (needed) => {
    if (needed) window.addEventListener('beforeunload', stay);
    else window.removeEventListener('beforeunload', stay);
  };
}
