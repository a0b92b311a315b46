package mellowflare.core.pipe.cut;

import mellowflare.core.measure.Length;

/**
 * A stock nipple in place of a piece that is cut and threaded.
 *
 * @param length of the nipple, end to end
 * @param over how much longer it is than wanted; below zero for shorter
 * @param serves whether the make-up of its two joints takes that up
 * @param price of the nipple, in the catalogue's money
 * @param cutPrice of the pipe that would be cut
 * @param cutMinutes that cutting and threading take
 */
public record NippleOffer(
        Length length, Length over, boolean serves, double price, double cutPrice, double cutMinutes) {}
