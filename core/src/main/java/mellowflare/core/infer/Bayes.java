package mellowflare.core.infer;

import java.util.Arrays;

/** The arithmetic of ranking by evidence. Pure; arrays go in and come out, none is kept. */
public final class Bayes {
    private static final double LN_2 = Math.log(2);

    private Bayes() {}

    /**
     * Weights as shares of their sum (Bayes' rule, the weights being prior times likelihood).
     *
     * @param weights none below zero
     * @return as many shares, adding up to 1; all zero where all weights are
     */
    public static double[] shares(double[] weights) {
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).map(w -> sum > 0 ? w / sum : 0).toArray();
    }

    /**
     * What one outcome of a check adds to its expected information: the sum over cases of p(case, outcome) log2(p(outcome | case) / p(outcome)) (mutual information).
     *
     * @param posterior of each case, 0 to 1
     * @param joint of each case with this outcome, at most its posterior
     * @return bits; zero for an outcome that cannot come
     */
    public static double bits(double[] posterior, double[] joint) {
        double total = 0;
        for (double j : joint) {
            total += j;
        }
        double bits = 0;
        for (int i = 0; i < joint.length && total > 0; i++) {
            if (joint[i] > 0) {
                bits += joint[i] * Math.log(joint[i] / posterior[i] / total);
            }
        }
        return bits / LN_2;
    }
}
