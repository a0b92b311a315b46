package mellowflare.core.flow.network;

import java.util.Arrays;
import org.ejml.data.DMatrixRMaj;
import org.ejml.data.DMatrixSparseCSC;
import org.ejml.interfaces.linsol.LinearSolverSparse;
import org.ejml.sparse.FillReducing;
import org.ejml.sparse.csc.factory.LinearSolverFactory_DSCC;

/**
 * The equations of the pressures: for each place the sum of (own less neighbour's pressure) times the pipe's ease equals what is missing there. Its pattern stays while the figures change. A
 * place whose pressure is held keeps its row, cleared to one on the diagonal, so that places can be held and let go without a new pattern.
 */
final class PressureMatrix {
    private final int[] at;
    private final int[] from;
    private final int[] to;
    private final int[] offDiagonal;
    private final int[] diagonal;
    private final DMatrixSparseCSC matrix;
    private final DMatrixRMaj right;
    private final DMatrixRMaj solution;
    private final LinearSolverSparse<DMatrixSparseCSC, DMatrixRMaj> solver =
            LinearSolverFactory_DSCC.cholesky(FillReducing.NONE);
    private boolean patternKnown;

    /**
     * @param near neighbours of each place
     * @param from first place of each pipe
     * @param to second place of each pipe, another one
     */
    PressureMatrix(int[][] near, int[] from, int[] to) {
        int places = near.length;
        this.from = from.clone();
        this.to = to.clone();
        int[] order = EliminationOrder.of(near);
        at = new int[places];
        for (int i = 0; i < places; i++) {
            at[order[i]] = i;
        }
        matrix = pattern(near, order);
        diagonal = new int[places];
        for (int i = 0; i < places; i++) {
            diagonal[i] = index(at[i], at[i]);
        }
        offDiagonal = new int[2 * from.length];
        for (int p = 0; p < from.length; p++) {
            offDiagonal[2 * p] = index(at[from[p]], at[to[p]]);
            offDiagonal[2 * p + 1] = index(at[to[p]], at[from[p]]);
        }
        right = new DMatrixRMaj(places, 1);
        solution = new DMatrixRMaj(places, 1);
    }

    private DMatrixSparseCSC pattern(int[][] near, int[] order) {
        int n = near.length;
        int entries = n;
        for (int[] a : near) {
            entries += a.length;
        }
        DMatrixSparseCSC m = new DMatrixSparseCSC(n, n, entries);
        int k = 0;
        for (int column = 0; column < n; column++) {
            m.col_idx[column] = k;
            m.nz_rows[k++] = column;
            for (int i : near[order[column]]) {
                m.nz_rows[k++] = at[i];
            }
            Arrays.sort(m.nz_rows, m.col_idx[column], k);
        }
        m.col_idx[n] = k;
        m.nz_length = k;
        m.indicesSorted = true;
        return m;
    }

    private int index(int row, int column) {
        return Arrays.binarySearch(matrix.nz_rows, matrix.col_idx[column], matrix.col_idx[column + 1], row);
    }

    /**
     * Solves for the steps of the pressures. A held place takes no step.
     *
     * @param ease of each pipe, above zero
     * @param held whether a place is held
     * @param missing what is missing at each place
     * @param into takes the steps
     * @return whether it could be solved
     */
    boolean solve(double[] ease, boolean[] held, double[] missing, double[] into) {
        Arrays.fill(matrix.nz_values, 0, matrix.nz_length, 0);
        for (int p = 0; p < ease.length; p++) {
            boolean a = held[from[p]];
            boolean b = held[to[p]];
            if (!a) {
                matrix.nz_values[diagonal[from[p]]] += ease[p];
            }
            if (!b) {
                matrix.nz_values[diagonal[to[p]]] += ease[p];
            }
            if (!a && !b) {
                matrix.nz_values[offDiagonal[2 * p]] -= ease[p];
                matrix.nz_values[offDiagonal[2 * p + 1]] -= ease[p];
            }
        }
        for (int i = 0; i < held.length; i++) {
            if (held[i]) {
                matrix.nz_values[diagonal[i]] = 1;
            }
            right.data[at[i]] = held[i] ? 0 : missing[i];
        }
        if (!solver.setA(matrix)) {
            return false;
        }
        if (!patternKnown) {
            solver.setStructureLocked(true);
            patternKnown = true;
        }
        solver.solve(right, solution);
        for (int i = 0; i < held.length; i++) {
            into[i] = solution.data[at[i]];
        }
        return true;
    }
}
