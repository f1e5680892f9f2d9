type Build = { finished_at: string | null; shipped_at: string | null };

/** Since when it is what it is: shipped, or else finished; null while it is worked on. */
export function stateSince(build: Build): string | null {
  return build.shipped_at ?? build.finished_at;
}
