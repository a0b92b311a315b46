/** Colours, fonts, day and night. */
package mellowflare.app.look;
