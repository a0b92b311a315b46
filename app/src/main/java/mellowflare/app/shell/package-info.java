/** The window: band, thumb index, page, figure bar. */
package mellowflare.app.shell;
