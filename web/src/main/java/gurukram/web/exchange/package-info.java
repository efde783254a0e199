/**
 * Classes for programs and as files: the HTTP interface, tokens, what is opened and saved. Read {@code ApiController},
 * {@code ClassDocuments}, {@code FileController}.
 *
 * <p>Imports: account, drawing, plans, poses, shared.
 */
package gurukram.web.exchange;
