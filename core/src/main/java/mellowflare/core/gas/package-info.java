/** Low-pressure fuel gas: from the cylinder or meter to every burner. */
package mellowflare.core.gas;
