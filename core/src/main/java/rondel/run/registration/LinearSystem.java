package rondel.run.registration;

/** As many linear equations as there are unknowns, by elimination with the largest pivot. */
final class LinearSystem {

    private LinearSystem() {}

    /** The unknowns; what can't be told is no number. */
    static double[] solved(double[][] matrix, double[] right) {
        int n = right.length;
        double[][] m = new double[n][];
        double[] r = right.clone();
        for (int i = 0; i < n; i++) {
            m[i] = matrix[i].clone();
        }
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(m[i][k]) > Math.abs(m[pivot][k]) ? i : pivot;
            }
            double[] row = m[k];
            m[k] = m[pivot];
            m[pivot] = row;
            double value = r[k];
            r[k] = r[pivot];
            r[pivot] = value;
            for (int i = k + 1; i < n; i++) {
                double factor = m[i][k] / m[k][k];
                for (int j = k; j < n; j++) {
                    m[i][j] -= factor * m[k][j];
                }
                r[i] -= factor * r[k];
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double sum = r[i];
            for (int j = i + 1; j < n; j++) {
                sum -= m[i][j] * x[j];
            }
            x[i] = sum / m[i][i];
        }
        return x;
    }
}
