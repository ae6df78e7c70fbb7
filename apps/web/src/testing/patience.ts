import { configure } from '@testing-library/dom';

/** How long a test waits for what comes later: a machine that is busy is no fault. */
configure({ asyncUtilTimeout: 8_000 });
