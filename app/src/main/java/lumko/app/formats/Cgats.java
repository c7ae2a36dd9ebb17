package lumko.app.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;

/**
 * CGATS.17 text: keywords, a list of field names, rows of values; comments from # to the end of a line, quotes round texts,
 * fields in any order. Source: ANSI CGATS.17. Spectra win over stored Lab, which writers give relative to various lights.
 */
public final class Cgats {
    private static final int MOST_FIELDS = 200;
    private static final int LONGEST_TOKEN = 500;
    private static final Pattern BAND =
            Pattern.compile("(?:SPECTRAL_NM|SPECTRAL_|SPECTRAL|SPEC_|NM|R_|R)_?(\\d{3})(?:\\.0*)?");

    private Cgats() {}

    private record Token(String text, int line, boolean isQuoted) {}

    /** @throws BadFileException if it is something else */
    static ColourFile read(byte[] bytes) {
        List<Token> tokens = tokens(ColourFile.text(bytes));
        if (tokens.isEmpty()) {
            throw new BadFileException(1, "the file is empty");
        }
        int at = 0;
        List<String> fields = new ArrayList<>();
        List<Sample> samples = new ArrayList<>();
        boolean hasData = false;
        boolean percent = false;
        while (at < tokens.size()) {
            Token token = tokens.get(at++);
            if (token.isQuoted) {
                continue;
            }
            if (token.text.equals("BEGIN_DATA_FORMAT")) {
                fields.clear();
                at = until(tokens, at, "END_DATA_FORMAT", field -> {
                    if (fields.size() >= MOST_FIELDS) {
                        throw new BadFileException(field.line, "more than " + MOST_FIELDS + " fields");
                    }
                    fields.add(field.text.toUpperCase(Locale.ROOT));
                });
            } else if (token.text.equals("BEGIN_DATA")) {
                if (fields.isEmpty()) {
                    throw new BadFileException(token.line, "data before its BEGIN_DATA_FORMAT … END_DATA_FORMAT");
                }
                hasData = true;
                List<Token> values = new ArrayList<>();
                at = until(tokens, at, "END_DATA", values::add);
                ColourFile table = samples(fields, rows(values, fields.size()));
                samples.addAll(table.samples());
                percent |= table.isPercent();
                if (samples.size() > ColourFile.MOST_SAMPLES) {
                    throw new BadFileException(token.line, "more than " + ColourFile.MOST_SAMPLES + " samples");
                }
            }
        }
        if (!hasData) {
            throw new BadFileException(0, "there is no BEGIN_DATA … END_DATA in it");
        }
        return new ColourFile(samples, percent);
    }

    private static int until(List<Token> tokens, int from, String end, Consumer<Token> each) {
        for (int at = from; at < tokens.size(); at++) {
            Token token = tokens.get(at);
            if (!token.isQuoted && token.text.equals(end)) {
                return at + 1;
            }
            each.accept(token);
        }
        throw new BadFileException(tokens.getLast().line, end + " is missing");
    }

    private static List<List<Token>> rows(List<Token> values, int width) {
        if (values.size() % width != 0) {
            Token last = values.get(values.size() - values.size() % width);
            throw new BadFileException(
                    last.line, "a row has " + values.size() % width + " values for " + width + " fields");
        }
        List<List<Token>> rows = new ArrayList<>();
        for (int at = 0; at < values.size(); at += width) {
            if (rows.size() >= ColourFile.MOST_SAMPLES) {
                throw new BadFileException(values.get(at).line, "more than " + ColourFile.MOST_SAMPLES + " samples");
            }
            rows.add(values.subList(at, at + width));
        }
        return rows;
    }

    private static ColourFile samples(List<String> fields, List<List<Token>> rows) {
        TreeMap<Integer, Integer> bands = new TreeMap<>();
        for (int field = 0; field < fields.size(); field++) {
            Matcher band = BAND.matcher(fields.get(field));
            if (band.matches()) {
                bands.put(Integer.parseInt(band.group(1)), field);
            }
        }
        bands.keySet().removeIf(nm -> nm % Spectrum.STEP != 0 || nm < 360 || nm > 830);
        List<Integer> run = run(bands);
        int lab = fields.indexOf("LAB_L");
        int a = fields.indexOf("LAB_A");
        int b = fields.indexOf("LAB_B");
        boolean hasLab = lab >= 0 && a >= 0 && b >= 0;
        if (run.isEmpty() && !hasLab) {
            throw new BadFileException(
                    0, "its fields hold neither reflectances from 400 to 700 nm nor LAB_L, LAB_A, LAB_B");
        }
        List<double[]> spectra = new ArrayList<>();
        for (List<Token> row : rows) {
            double[] factors = new double[run.size()];
            for (int i = 0; i < factors.length; i++) {
                factors[i] = number(row.get(java.util.Objects.requireNonNull(bands.get(run.get(i)))));
            }
            spectra.add(factors);
        }
        boolean percent = ColourFile.isPercent(spectra);
        List<Sample> samples = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            List<Token> row = rows.get(i);
            String id = text(fields, row, "SAMPLE_ID");
            String name = text(fields, row, "SAMPLE_NAME");
            Optional<Spectrum> spectrum = run.isEmpty()
                    ? Optional.empty()
                    : Optional.of(spectrum(run.getFirst(), spectra.get(i), percent, row.getFirst().line));
            Optional<Lab> stored = hasLab
                    ? Optional.of(FileNumber.lab(
                            number(row.get(lab)), number(row.get(a)), number(row.get(b)), row.getFirst().line))
                    : Optional.empty();
            samples.add(new Sample(name.isEmpty() ? id : name, name.isEmpty() ? "" : id, spectrum, stored));
        }
        return new ColourFile(samples, percent);
    }

    /** The bands every 10 nm without a gap that cover 400–700 nm; empty where they do not. */
    private static List<Integer> run(TreeMap<Integer, Integer> bands) {
        List<Integer> run = new ArrayList<>();
        for (int nm = 400; nm >= 360 && bands.containsKey(nm); nm -= Spectrum.STEP) {
            run.addFirst(nm);
        }
        for (int nm = 410; nm <= 830 && bands.containsKey(nm); nm += Spectrum.STEP) {
            run.add(nm);
        }
        return run.isEmpty() || run.getLast() < 700 || !run.contains(400) ? List.of() : run;
    }

    private static Spectrum spectrum(int start, double[] values, boolean percent, int line) {
        double[] factors = values.clone();
        for (int i = 0; i < factors.length; i++) {
            factors[i] = percent ? factors[i] / 100 : factors[i];
        }
        try {
            return Spectrum.of(start, factors);
        } catch (IllegalArgumentException refused) {
            throw new BadFileException(line, String.valueOf(refused.getMessage()));
        }
    }

    private static String text(List<String> fields, List<Token> row, String field) {
        int at = fields.indexOf(field);
        return at < 0 ? "" : row.get(at).text;
    }

    private static double number(Token token) {
        return FileNumber.of(token.text, "", token.line);
    }

    private static List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        int line = 1;
        int at = 0;
        while (at < text.length()) {
            char c = text.charAt(at);
            if (c == '\n') {
                line++;
                at++;
            } else if (Character.isWhitespace(c)) {
                at++;
            } else if (c == '#') {
                while (at < text.length() && text.charAt(at) != '\n') {
                    at++;
                }
            } else {
                boolean quoted = c == '"';
                int start = quoted ? at + 1 : at;
                int end = start;
                while (end < text.length()
                        && (quoted ? text.charAt(end) != '"' : !Character.isWhitespace(text.charAt(end)))) {
                    if (quoted && text.charAt(end) == '\n') {
                        throw new BadFileException(line, "a quote is not closed");
                    }
                    end++;
                }
                if (quoted && end == text.length()) {
                    throw new BadFileException(line, "a quote is not closed");
                }
                if (end - start > LONGEST_TOKEN) {
                    throw new BadFileException(line, "a word is longer than " + LONGEST_TOKEN + " characters");
                }
                tokens.add(new Token(text.substring(start, end), line, quoted));
                at = quoted ? end + 1 : end;
            }
        }
        return tokens;
    }

    /**
     * Colours with their reflectances as factors, every 10 nm, and their Lab for daylight, 10°: a table for each range of bands,
     * and one with Lab alone for those that nobody has measured.
     */
    public static String write(List<Sample> samples) {
        StringBuilder out = new StringBuilder("CGATS.17\nORIGINATOR \"Lumko\"\nILLUMINANT \"D65\"\nOBSERVER \"10\"\n");
        if (samples.isEmpty()) {
            table(List.of(), Spectrum.START, 0, out);
        }
        samples.stream()
                .collect(Collectors.groupingBy(Bands::of, LinkedHashMap::new, Collectors.toList()))
                .forEach((bands, alike) -> table(alike, bands.from, bands.count, out));
        return out.toString();
    }

    private record Bands(int from, int count) {
        static Bands of(Sample sample) {
            return sample.spectrum()
                    .map(spectrum -> new Bands(spectrum.start(), spectrum.bands()))
                    .orElseGet(() -> new Bands(Spectrum.START, 0));
        }
    }

    private static void table(List<Sample> samples, int from, int bands, StringBuilder out) {
        out.append("NUMBER_OF_FIELDS ")
                .append(5 + bands)
                .append("\nBEGIN_DATA_FORMAT\nSAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B");
        for (int band = 0; band < bands; band++) {
            out.append(" SPECTRAL_NM").append(from + Spectrum.STEP * band);
        }
        out.append("\nEND_DATA_FORMAT\nNUMBER_OF_SETS ").append(samples.size()).append("\nBEGIN_DATA\n");
        for (Sample sample : samples) {
            Lab lab = sample.seen();
            out.append(quoted(sample.code())).append(' ').append(quoted(sample.name()));
            out.append(' ')
                    .append(lab.lightness())
                    .append(' ')
                    .append(lab.a())
                    .append(' ')
                    .append(lab.b());
            for (int band = 0; band < bands; band++) {
                out.append(' ').append(sample.spectrum().orElseThrow().at(band));
            }
            out.append('\n');
        }
        out.append("END_DATA\n");
    }

    private static String quoted(String text) {
        return '"' + text.replace('"', '\'').replaceAll("[\\r\\n]", " ") + '"';
    }
}
