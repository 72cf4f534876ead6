/** A field of several parts is done with when the last of them is left, or at Enter. */
export class Leaving {
  constructor(private readonly commit: () => void) {}

  /** For the element around the parts. */
  readonly handlers = {
    onfocusout: (event: FocusEvent & { currentTarget: HTMLElement }): void => {
      const to = event.relatedTarget;
      if (!(to instanceof Node) || !event.currentTarget.contains(to)) this.commit();
    },
    onkeydown: (event: KeyboardEvent): void => {
      if (event.key === 'Enter') this.commit();
    },
  };
}
