// jsdom lays nothing out and looks at no screen: nothing scrolls, and no media query holds until a test says so.
Element.prototype.scrollIntoView = () => undefined;
window.scrollTo = () => undefined;
window.matchMedia = (media) =>
  ({
    matches: false,
    media,
    addListener: () => undefined,
    removeListener: () => undefined,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }) as unknown as MediaQueryList;

// A test that answers where the network is does so for itself alone.
const before = globalThis.fetch;
afterEach(() => {
  globalThis.fetch = before;
});
