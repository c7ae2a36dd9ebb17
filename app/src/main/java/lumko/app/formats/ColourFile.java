package lumko.app.formats;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * What a file holds.
 *
 * @param isPercent whether its reflectances were percents
 */
public record ColourFile(List<Sample> samples, boolean isPercent) {
    /** A file may have so many megabytes. */
    public static final int MOST_MEGABYTES = 5;

    /** A file may have so many samples. */
    static final int MOST_SAMPLES = 20_000;

    /**
     * Reads CGATS.17, CxF3 or CSV, told apart by how they begin, not by what they are called.
     *
     * @throws BadFileException if it is none of these, or broken
     */
    public static ColourFile read(byte[] bytes) {
        String begin = new String(bytes, 0, Math.min(bytes.length, 300), StandardCharsets.UTF_8)
                .replace("\uFEFF", "")
                .stripLeading();
        if (begin.startsWith("<")) {
            return Cxf.read(bytes);
        }
        String first = begin.lines().findFirst().orElse("");
        return first.contains(",") ? ColourTable.read(bytes) : Cgats.read(bytes);
    }

    /**
     * The text of a file.
     *
     * @throws BadFileException if it is no text in UTF-8
     */
    public static String text(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException broken) {
            throw new BadFileException(0, "the file is no text in UTF-8");
        }
    }

    /** Factors from factors or percents; what lies above 2 in any band must have been percents. */
    static boolean isPercent(List<double[]> rows) {
        return rows.stream().anyMatch(row -> {
            for (double value : row) {
                if (value > 2) {
                    return true;
                }
            }
            return false;
        });
    }
}
