require('./in-parts.cjs').together('packages/core', 3, 4);
