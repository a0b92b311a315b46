/** The texts that people read: one message file beside each package, named places, and the language they are shown in. */
package mellowflare.core.text;
