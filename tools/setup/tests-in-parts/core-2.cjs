require('./in-parts.cjs').together('packages/core', 2, 4);
