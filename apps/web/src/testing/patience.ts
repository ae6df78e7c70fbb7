// Loaded before all tests, it also takes away after each what that showed, whatever file the test stands in.
import { configure } from '@testing-library/react';

/** How long a test waits for what comes later: a machine that is busy is no fault. */
configure({ asyncUtilTimeout: 8_000 });
