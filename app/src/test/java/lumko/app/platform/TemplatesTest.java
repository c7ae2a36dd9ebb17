package lumko.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.SAXParserFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.Locator;
import org.xml.sax.helpers.DefaultHandler;

/** Pages have their words by keys, so that they can be said in another tongue, and lines that can be read. */
class TemplatesTest {
    private static final Path FOLDER = Path.of("src/main/resources/templates");
    private static final int LONGEST_LINE = 140;
    private static final Pattern WORD = Pattern.compile("\\p{L}{2}");
    private static final Pattern LITERAL = Pattern.compile("'([^']*)'");
    /** Words beside each other, or one that something else stands before or after. */
    private static final Pattern SENTENCE = Pattern.compile("\\p{L}{2,} \\p{L}{2,}|^ \\p{L}{2,}|\\p{L}{2,} $");

    /** What a page is called in the browser. */
    private static final Pattern TITLE = Pattern.compile("layout :: page\\('");

    private static final Set<String> REPLACED = Set.of("th:text", "th:utext", "th:replace", "sec:authentication");
    private static final Set<String> NO_WORDS = Set.of("style", "script", "title");
    private static final Set<String> SAID = Set.of("aria-label", "placeholder", "title", "alt");
    /** These hold names of classes, never words. */
    private static final Set<String> OF_STYLE = Set.of("th:class", "th:classappend", "th:attr");

    static Stream<Path> templates() throws IOException {
        return Files.list(FOLDER).sorted();
    }

    @ParameterizedTest
    @MethodSource("templates")
    void noLineIsTooLongToRead(Path template) throws IOException {
        assertThat(Files.readAllLines(template)).allMatch(line -> line.length() <= LONGEST_LINE);
    }

    @ParameterizedTest
    @MethodSource("templates")
    void everyWordHasItsKey(Path template) throws Exception {
        Words said = new Words();
        SAXParserFactory.newInstance()
                .newSAXParser()
                .parse(new InputSource(new StringReader(Files.readString(template))), said);
        assertThat(said.found).isEmpty();
    }

    /** What is written out in a template and not replaced when it is shown. */
    private static final class Words extends DefaultHandler {
        private final List<String> found = new ArrayList<>();
        private final Deque<Boolean> replaced = new ArrayDeque<>();
        private Locator at = null;

        @Override
        public void setDocumentLocator(Locator locator) {
            at = locator;
        }

        @Override
        public InputSource resolveEntity(String publicId, String systemId) {
            return new InputSource(new StringReader(""));
        }

        @Override
        public void startElement(String uri, String localName, String name, Attributes attributes) {
            boolean isReplaced = NO_WORDS.contains(name);
            for (int n = 0; n < attributes.getLength(); n++) {
                String attribute = attributes.getQName(n);
                // the page as a whole stands in the layout: its words are shown
                isReplaced |= REPLACED.contains(attribute) && !name.equals("html");
                look(attribute, attributes.getValue(n));
            }
            replaced.push(isReplaced || replaced.contains(true));
        }

        private void look(String attribute, String value) {
            if (SAID.contains(attribute) && WORD.matcher(value).find()) {
                found.add(at.getLineNumber() + ": " + attribute + " " + value);
            }
            if (TITLE.matcher(value).find()) {
                found.add(at.getLineNumber() + ": " + value);
            }
            if (attribute.startsWith("th:") && !OF_STYLE.contains(attribute)) {
                Matcher literal = LITERAL.matcher(value);
                while (literal.find()) {
                    if (SENTENCE.matcher(literal.group(1)).find()) {
                        found.add(at.getLineNumber() + ": " + attribute + " " + literal.group(1));
                    }
                }
            }
        }

        @Override
        public void endElement(String uri, String localName, String name) {
            replaced.pop();
        }

        @Override
        public void characters(char[] chars, int start, int length) {
            String text = new String(chars, start, length);
            if (WORD.matcher(text).find() && !replaced.contains(true)) {
                found.add(at.getLineNumber() + ": " + text.strip());
            }
        }
    }
}
