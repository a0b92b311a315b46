/** A hydraulic hose line: from two ends, a hose and a service to findings, cut length, sealing, steps and its drawing. */
package mellowflare.core.hose;
