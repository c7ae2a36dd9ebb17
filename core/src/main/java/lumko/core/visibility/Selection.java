package lumko.core.visibility;

/** The n-th smallest of many numbers without sorting all of them. Source: Hoare, “Algorithm 65: Find”, CACM 4 (1961), 321. */
final class Selection {
    private Selection() {}

    /**
     * The number that has so many smaller or equal ones before it.
     *
     * @param values are put in another order
     * @param place from 0
     */
    static float smallest(float[] values, int place) {
        int low = 0;
        int high = values.length - 1;
        while (low < high) {
            float pivot = values[(low + high) >>> 1];
            int left = low;
            int right = high;
            while (left <= right) {
                while (values[left] < pivot) {
                    left++;
                }
                while (values[right] > pivot) {
                    right--;
                }
                if (left <= right) {
                    float swapped = values[left];
                    values[left++] = values[right];
                    values[right--] = swapped;
                }
            }
            if (place <= right) {
                high = right;
            } else if (place >= left) {
                low = left;
            } else {
                break;
            }
        }
        return values[place];
    }
}
