/** A place of the window and how its pages are laid out: tabs, drawing, slip, bar of figures. */
package mellowflare.app.page;
