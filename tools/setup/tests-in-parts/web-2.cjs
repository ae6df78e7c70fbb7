require('./in-parts.cjs').together('apps/web', 2, 6);
