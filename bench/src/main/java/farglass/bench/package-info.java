/** Speed, each beside a plain reference doing the same work in the same run. Run: see docs/architecture.md. */
package farglass.bench;
