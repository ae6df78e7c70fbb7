import { Button } from '@mui/material';
import { render } from '@testing-library/react';
import { StylesWithNonce } from './StylesWithNonce';
import { allowNoticeStyles, pageNonce } from './page-nonce';

describe('the nonce of the page', () => {
  it('is on every style that is made while it runs', () => {
    document.head.innerHTML = '<meta name="csp-nonce" content="n0nce">';
    allowNoticeStyles();
    expect(window.__nonce__).toBe('n0nce');
    render(
      <StylesWithNonce>
        <Button>Save</Button>
      </StylesWithNonce>,
    );
    const styles = [...document.querySelectorAll('style')];
    expect(styles.length).toBeGreaterThan(0);
    for (const style of styles) expect(style.getAttribute('nonce')).toBe('n0nce');
  });

  it('is not there where the page came without one', () => {
    document.head.innerHTML = '';
    expect(pageNonce()).toBeUndefined();
  });
});
