package lumko.app.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import lumko.core.colour.Lab;
import lumko.core.colour.Spectrum;

/** CxF3, the XML of ISO 17972-1: objects with reflectance spectra or CIELAB. Document types and entities are not followed. */
public final class Cxf {
    private static final String NAMESPACE = "http://colorexchangeformat.com/CxF3-core";
    private static final int DEEPEST = 60;
    private static final int MOST_ELEMENTS = 500_000;
    private static final int LONGEST_TEXT = 20_000;

    private Cxf() {}

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, true);
        return factory;
    }

    /** @throws BadFileException if it is something else */
    static ColourFile read(byte[] bytes) {
        try {
            return new Parse(factory().createXMLStreamReader(new ByteArrayInputStream(bytes))).all();
        } catch (XMLStreamException broken) {
            throw new BadFileException(
                    broken.getLocation() == null
                            ? 0
                            : Math.max(0, broken.getLocation().getLineNumber()),
                    "this is no well-formed XML, or uses what is not allowed here");
        }
    }

    private static final class Parse {
        private final XMLStreamReader xml;
        private final List<String> names = new ArrayList<>();
        private final List<String> codes = new ArrayList<>();
        private final List<double[]> spectra = new ArrayList<>();
        private final List<Integer> starts = new ArrayList<>();
        private final List<Optional<Lab>> labs = new ArrayList<>();
        private final List<Integer> lines = new ArrayList<>();
        private int elements;
        private int depth;

        Parse(XMLStreamReader xml) {
            this.xml = xml;
        }

        ColourFile all() throws XMLStreamException {
            boolean isCxf = false;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    counted();
                    if (depth == 1) {
                        isCxf = xml.getLocalName().equals("CxF");
                    }
                    if (xml.getLocalName().equals("Object")) {
                        object();
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                } else if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                    throw new BadFileException(line(), "document types and entities are not allowed here");
                }
            }
            if (!isCxf) {
                throw new BadFileException(1, "this is XML, but no CxF");
            }
            boolean percent = ColourFile.isPercent(spectra);
            List<Sample> samples = new ArrayList<>();
            for (int i = 0; i < names.size(); i++) {
                samples.add(new Sample(names.get(i), codes.get(i), spectrum(i, percent), labs.get(i)));
            }
            return new ColourFile(samples, percent);
        }

        private Optional<Spectrum> spectrum(int i, boolean percent) {
            double[] values = spectra.get(i);
            if (values.length == 0) {
                return Optional.empty();
            }
            double[] factors = new double[values.length];
            for (int band = 0; band < factors.length; band++) {
                factors[band] = percent ? values[band] / 100 : values[band];
            }
            try {
                return Optional.of(Spectrum.of(starts.get(i), factors));
            } catch (IllegalArgumentException refused) {
                throw new BadFileException(lines.get(i), String.valueOf(refused.getMessage()));
            }
        }

        private void counted() {
            depth++;
            if (++elements > MOST_ELEMENTS) {
                throw new BadFileException(line(), "more than " + MOST_ELEMENTS + " elements");
            }
            if (depth > DEEPEST) {
                throw new BadFileException(line(), "elements nested deeper than " + DEEPEST);
            }
        }

        private int line() {
            return Math.max(0, xml.getLocation().getLineNumber());
        }

        private void object() throws XMLStreamException {
            if (names.size() >= ColourFile.MOST_SAMPLES) {
                throw new BadFileException(line(), "more than " + ColourFile.MOST_SAMPLES + " objects");
            }
            int objectLine = line();
            int objectDepth = depth;
            String name = attribute("Name");
            String code = attribute("Id");
            double[] factors = {};
            int start = Spectrum.START;
            Optional<Lab> lab = Optional.empty();
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    counted();
                    if (xml.getLocalName().equals("ReflectanceSpectrum")) {
                        String begins = attribute("StartWL");
                        start = begins.isEmpty() ? Spectrum.START : (int) number(begins);
                        factors = numbers(text());
                    } else if (xml.getLocalName().equals("ColorCIELab")) {
                        lab = Optional.of(lab());
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                    if (depth < objectDepth) {
                        break;
                    }
                } else if (event == XMLStreamConstants.ENTITY_REFERENCE) {
                    throw new BadFileException(line(), "entities are not allowed here");
                }
            }
            if (factors.length > 0 || lab.isPresent()) {
                names.add(name.isEmpty() ? code : name);
                codes.add(name.isEmpty() ? "" : code);
                spectra.add(factors);
                starts.add(start);
                labs.add(lab);
                lines.add(objectLine);
            }
        }

        private Lab lab() throws XMLStreamException {
            double[] values = {Double.NaN, Double.NaN, Double.NaN};
            int labDepth = depth;
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.START_ELEMENT) {
                    counted();
                    int which = List.of("L", "A", "B").indexOf(xml.getLocalName());
                    if (which >= 0) {
                        values[which] = number(text());
                    }
                } else if (event == XMLStreamConstants.END_ELEMENT) {
                    depth--;
                    if (depth < labDepth) {
                        break;
                    }
                }
            }
            if (Double.isNaN(values[0] + values[1] + values[2])) {
                throw new BadFileException(line(), "a ColorCIELab needs L, A and B");
            }
            return FileNumber.lab(values[0], values[1], values[2], line());
        }

        private String attribute(String name) {
            String value = xml.getAttributeValue(null, name);
            return value == null ? "" : value;
        }

        /** The text of an element; leaves the reader on its end. */
        private String text() throws XMLStreamException {
            StringBuilder text = new StringBuilder();
            for (int event = xml.next(); event != XMLStreamConstants.END_ELEMENT; event = xml.next()) {
                if (event == XMLStreamConstants.START_ELEMENT) {
                    throw new BadFileException(line(), "numbers are expected here, not an element");
                }
                if (event == XMLStreamConstants.ENTITY_REFERENCE) {
                    throw new BadFileException(line(), "entities are not allowed here");
                }
                if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                    text.append(xml.getText());
                    if (text.length() > LONGEST_TEXT) {
                        throw new BadFileException(line(), "a text is longer than " + LONGEST_TEXT + " characters");
                    }
                }
            }
            depth--;
            return text.toString();
        }

        private double[] numbers(String text) {
            return text.isBlank()
                    ? new double[0]
                    : Arrays.stream(text.strip().split("\\s+"))
                            .mapToDouble(this::number)
                            .toArray();
        }

        private double number(String text) {
            return FileNumber.of(text, "", line());
        }
    }

    /** Colours with their reflectances as factors. */
    public static byte[] write(List<Sample> samples) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml =
                    XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("CxF");
            xml.writeDefaultNamespace(NAMESPACE);
            xml.writeStartElement("FileInformation");
            element(xml, "Creator", "Lumko");
            xml.writeEndElement();
            xml.writeStartElement("Resources");
            xml.writeStartElement("ObjectCollection");
            for (int i = 0; i < samples.size(); i++) {
                Sample sample = samples.get(i);
                xml.writeStartElement("Object");
                xml.writeAttribute("ObjectType", "Standard");
                xml.writeAttribute("Name", sample.name());
                xml.writeAttribute("Id", sample.code().isEmpty() ? "c" + (i + 1) : sample.code());
                xml.writeStartElement("ColorValues");
                values(xml, sample);
                xml.writeEndElement();
                xml.writeEndElement();
            }
            xml.writeEndElement();
            xml.writeStartElement("ColorSpecificationCollection");
            xml.writeStartElement("ColorSpecification");
            xml.writeAttribute("Id", "reflectance");
            xml.writeStartElement("MeasurementSpec");
            element(xml, "MeasurementType", "Spectrum_Reflectance");
            xml.writeEmptyElement("WavelengthRange");
            xml.writeAttribute("StartWL", "400");
            xml.writeAttribute("Increment", "10");
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException(impossible);
        }
        return out.toByteArray();
    }

    private static void values(XMLStreamWriter xml, Sample sample) throws XMLStreamException {
        if (sample.spectrum().isPresent()) {
            Spectrum spectrum = sample.spectrum().get();
            xml.writeStartElement("ReflectanceSpectrum");
            xml.writeAttribute("ColorSpecification", "reflectance");
            xml.writeAttribute("StartWL", String.valueOf(spectrum.start()));
            xml.writeCharacters(
                    Arrays.stream(spectrum.factors()).mapToObj(String::valueOf).collect(Collectors.joining(" ")));
        } else {
            Lab lab = sample.seen();
            xml.writeStartElement("ColorCIELab");
            xml.writeAttribute("ColorSpecification", "daylight");
            element(xml, "L", String.valueOf(lab.lightness()));
            element(xml, "A", String.valueOf(lab.a()));
            element(xml, "B", String.valueOf(lab.b()));
        }
        xml.writeEndElement();
    }

    private static void element(XMLStreamWriter xml, String name, String text) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(text);
        xml.writeEndElement();
    }
}
