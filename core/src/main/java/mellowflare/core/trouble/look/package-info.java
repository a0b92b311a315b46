/** The looks that Trouble asks for, as pictures: what says yes beside what says no. */
package mellowflare.core.trouble.look;
