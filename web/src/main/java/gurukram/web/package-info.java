/**
 * The pages: feature packages, each with its controller, its store and its templates; {@code shared} has what all of them need.
 * Dependencies between features have no cycles.
 *
 * <p>Imports: engine.
 */
package gurukram.web;
