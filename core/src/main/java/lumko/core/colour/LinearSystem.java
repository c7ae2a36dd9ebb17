package lumko.core.colour;

/** Small dense systems of equations. */
public final class LinearSystem {
    private LinearSystem() {}

    /**
     * Solves {@code matrix · x = right} by elimination with row pivoting; both are used up.
     *
     * @throws ArithmeticException if the matrix is singular
     */
    public static double[] solve(double[][] matrix, double[] right) {
        int n = right.length;
        for (int column = 0; column < n; column++) {
            int pivot = column;
            for (int row = column + 1; row < n; row++) {
                if (Math.abs(matrix[row][column]) > Math.abs(matrix[pivot][column])) {
                    pivot = row;
                }
            }
            if (!(Math.abs(matrix[pivot][column]) > 1e-300)) {
                throw new ArithmeticException("the equations do not determine each other");
            }
            double[] row = matrix[pivot];
            matrix[pivot] = matrix[column];
            matrix[column] = row;
            double value = right[pivot];
            right[pivot] = right[column];
            right[column] = value;
            for (int below = column + 1; below < n; below++) {
                double factor = matrix[below][column] / matrix[column][column];
                if (factor != 0) {
                    for (int k = column; k < n; k++) {
                        matrix[below][k] -= factor * matrix[column][k];
                    }
                    right[below] -= factor * right[column];
                }
            }
        }
        for (int row = n - 1; row >= 0; row--) {
            double sum = right[row];
            for (int k = row + 1; k < n; k++) {
                sum -= matrix[row][k] * right[k];
            }
            right[row] = sum / matrix[row][row];
        }
        return right;
    }
}
