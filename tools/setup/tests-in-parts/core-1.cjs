require('./in-parts.cjs').together('packages/core', 1, 4);
