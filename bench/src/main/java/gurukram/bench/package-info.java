/** Measures the core with JMH; figures stand in docs/performance.md. May import the core and nothing of the web. */
package gurukram.bench;
