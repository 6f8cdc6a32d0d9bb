package hestra.documents.exercise;

import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.json.JsonReadFeature;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.cfg.MapperConfig;
import com.fasterxml.jackson.databind.deser.DeserializationProblemHandler;
import com.fasterxml.jackson.databind.introspect.AnnotatedClass;
import com.fasterxml.jackson.databind.introspect.AnnotatedMember;
import com.fasterxml.jackson.databind.introspect.AnnotationIntrospectorPair;
import com.fasterxml.jackson.databind.introspect.JacksonAnnotationIntrospector;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.jsontype.TypeIdResolver;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import hestra.chance.Watched;
import hestra.data.Cell;
import hestra.data.TableEdit;
import hestra.desk.Edit;
import hestra.documents.picture.PictureFile;
import hestra.exercise.Block;
import hestra.exercise.Provenance;
import hestra.exercise.Wish;
import hestra.feedback.KeptPoints;
import hestra.fit.Curve;
import hestra.fit.EquationNotation;
import hestra.marking.DecisionScope;
import hestra.marking.DecisionSubject;
import hestra.marking.DecisionValue;
import hestra.numbers.DecimalMark;
import hestra.numbers.Rounding;
import hestra.recipe.Along;
import hestra.targets.Measure;
import hestra.task.Answer;
import hestra.task.Explain;
import hestra.task.Task;
import hestra.task.Terms;
import hestra.task.Trust;
import hestra.tracing.Picture;

/**
 * Our records as JSON. A sealed family's member is told by the property "kind", see {@link Names}; constants of enums are called
 * as they are in the code, in small letters. An unknown property is refused. A missing one is refused too, but for one that may
 * be nothing and for a constant of which {@link #LATER} says what older files mean by leaving it out.
 */
public final class Json {

    private static final String MARK = "hestra.decimal-mark";

    private static final Set<Class<?>> LATER = Set.of(Terms.Opening.class, Terms.Afterwards.class, KeptPoints.class,
            EquationNotation.Base.class, Terms.Playing.class, Terms.Counting.class);

    private static final JsonMapper MAPPER = mapper();

    private Json() {}

    /** The value on one line. */
    static String line(Object value) {
        try {
            return MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(value.getClass() + " cannot be written", e);
        }
    }

    /** The value over several lines, for files that people may read. */
    public static String pretty(Object value) {
        try {
            return MAPPER.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(value) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(value.getClass() + " cannot be written", e);
        }
    }

    /** Reads a value whose cells were typed with this decimal mark. */
    static <T> T read(String json, Class<T> type, DecimalMark mark) throws JsonProcessingException {
        return MAPPER.readerFor(type).withAttribute(MARK, mark).readValue(json);
    }

    /** Reads a value, as {@link #read(String, Class, DecimalMark)} does. */
    static <T> T read(JsonNode json, Class<T> type, DecimalMark mark) throws IOException {
        return MAPPER.readerFor(type).withAttribute(MARK, mark).readValue(json);
    }

    /** Reads a value in any shape. */
    public static JsonNode tree(String json) throws JsonProcessingException {
        return MAPPER.readTree(json);
    }

    /**
     * The simple values of an object, and those of its members that are named; what else is in it is passed over, so that this is
     * soon done.
     */
    static ObjectNode head(String json, Set<String> named) throws IOException {
        return members(json, (name, value) -> named.contains(name) || value.isScalarValue(), Integer.MAX_VALUE);
    }

    /**
     * The simple values of an object that are named, looked for no further than the last of them stands: what comes behind may be
     * anything.
     */
    static ObjectNode first(String json, Set<String> named) throws IOException {
        return members(json, (name, value) -> named.contains(name) && value.isScalarValue(), named.size());
    }

    /** The members of an object that are wanted, up to so many; what else is in it is passed over. */
    private static ObjectNode members(String json, BiPredicate<String, JsonToken> wanted, int most) throws IOException {
        ObjectNode members = MAPPER.createObjectNode();
        ObjectReader part = MAPPER.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
        try (JsonParser in = MAPPER.createParser(json)) {
            if (in.nextToken() != JsonToken.START_OBJECT) {
                return members;
            }
            for (String name = in.nextFieldName(); name != null && members.size() < most; name = in.nextFieldName()) {
                if (wanted.test(name, in.nextToken())) {
                    members.set(name, part.readTree(in));
                } else {
                    in.skipChildren();
                }
            }
        }
        return members;
    }

    private static JsonMapper mapper() {
        SimpleModule cells = new SimpleModule();
        cells.addSerializer(Cell.class, new CellWriter());
        cells.addDeserializer(Cell.class, new CellReader());
        cells.addSerializer(Picture.class, new PictureWriter());
        cells.addDeserializer(Picture.class, new PictureReader());
        cells.addSerializer(Terms.class, new TermsInFile.Writer());
        cells.addDeserializer(Terms.class, new TermsInFile.Reader());
        cells.addSerializer(Curve.class, new CurveWriter());
        cells.addDeserializer(Curve.class, new CurveReader());
        // What older files of this version do not say.
        cells.addDeserializer(Terms.Opening.class, new Later<>(Terms.Opening.class, Terms.Opening.DONE));
        cells.addDeserializer(Terms.Afterwards.class, new Later<>(Terms.Afterwards.class, Terms.Afterwards.HINT));
        cells.addDeserializer(Terms.Playing.class, new Later<>(Terms.Playing.class, Terms.Playing.ONCE));
        cells.addDeserializer(Terms.Counting.class, new Later<>(Terms.Counting.class, Terms.Counting.BEST));
        cells.addDeserializer(EquationNotation.Base.class, new Later<>(EquationNotation.Base.class, EquationNotation.Base.OWN));
        cells.addDeserializer(Trust.class, new TrustReader());
        cells.addDeserializer(KeptPoints.class, new Later<>(KeptPoints.class, KeptPoints.FULL));
        JsonMapper mapper = JsonMapper.builder()
                .addModule(new Jdk8Module())
                .addModule(cells)
                .annotationIntrospector(new AnnotationIntrospectorPair(new OurNames(), new JacksonAnnotationIntrospector()))
                .addMixIn(Edit.class, ByKind.class)
                .addMixIn(TableEdit.class, ByKind.class)
                .addMixIn(Provenance.class, ByKind.class)
                .addMixIn(Wish.class, ByKind.class)
                .addMixIn(Along.class, ByKind.class)
                .addMixIn(Watched.class, ByKind.class)
                .addMixIn(Task.class, ByKind.class)
                .addMixIn(Block.class, ByKind.class)
                .addMixIn(Answer.class, ByKind.class)
                .addMixIn(Measure.class, ByKind.class)
                .addMixIn(DecisionSubject.class, ByKind.class)
                .addMixIn(DecisionValue.class, ByKind.class)
                .addMixIn(DecisionScope.class, ByKind.class)
                .addMixIn(Rounding.class, ByKind.class)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .disable(MapperFeature.AUTO_DETECT_IS_GETTERS)
                .disable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
                .build();
        mapper.addHandler(new EarlierNames());
        mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL));
        mapper.getFactory().setStreamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(40).build());
        Names.all().forEach((type, name) -> mapper.registerSubtypes(new NamedType(type, name)));
        return mapper;
    }

    /** What the constant of an enum is called in files: "read-value" for READ_VALUE. */
    public static String nameOf(Enum<?> constant) {
        return constant.name().replace('_', '-').toLowerCase(Locale.ROOT);
    }

    /** A family whose members are told apart by "kind". */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    private interface ByKind {}

    /** Kinds that were called otherwise in earlier files. */
    private static final class EarlierNames extends DeserializationProblemHandler {
        @Override
        public JavaType handleUnknownTypeId(DeserializationContext context, JavaType base, String name, TypeIdResolver resolver,
                String message) {
            return base.hasRawClass(Task.class) && name.equals("explain-slope") ? context.constructType(Explain.class) : null;
        }
    }

    private static final class OurNames extends NopAnnotationIntrospector {
        private static final long serialVersionUID = 1;

        @Override
        public Boolean hasRequiredMarker(AnnotatedMember member) {
            Class<?> type = member.getRawType();
            return !LATER.contains(type) && type != Optional.class && type != OptionalInt.class && type != OptionalDouble.class;
        }

        @Override
        public String[] findEnumValues(MapperConfig<?> config, AnnotatedClass type, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                names[i] = nameOf(values[i]);
            }
            return names;
        }
    }

    /** A constant of an enum that came later than the files in which it stands: they leave it out. */
    private static final class Later<E extends Enum<E>> extends JsonDeserializer<E> {
        private final Class<E> type;
        private final E usual;

        Later(Class<E> type, E usual) {
            this.type = type;
            this.usual = usual;
        }

        @Override
        public E deserialize(JsonParser in, DeserializationContext context) throws IOException {
            String name = in.getValueAsString("");
            return Stream.of(type.getEnumConstants()).filter(it -> nameOf(it).equals(name)).findFirst()
                    .orElseThrow(() -> context.weirdStringException(name, type, "no such constant"));
        }

        @Override
        public E getAbsentValue(DeserializationContext context) {
            return usual;
        }
    }

    /** What a student thinks of a prediction: in earlier files it was yes or no. */
    private static final class TrustReader extends JsonDeserializer<Trust> {
        @Override
        public Trust deserialize(JsonParser in, DeserializationContext context) throws IOException {
            return switch (in.currentToken()) {
                case VALUE_TRUE -> Trust.TRUSTED;
                case VALUE_FALSE -> Trust.DOUBTED;
                default -> {
                    String name = in.getValueAsString("");
                    yield Stream.of(Trust.values()).filter(it -> nameOf(it).equals(name)).findFirst()
                            .orElseThrow(() -> context.weirdStringException(name, Trust.class, "no such judgement"));
                }
            };
        }
    }

    private static final class CellWriter extends JsonSerializer<Cell> {
        @Override
        public void serialize(Cell cell, JsonGenerator out, SerializerProvider context) throws IOException {
            out.writeString(cell.text());
        }
    }

    private static final class CellReader extends JsonDeserializer<Cell> {
        @Override
        public Cell deserialize(JsonParser in, DeserializationContext context) throws IOException {
            DecimalMark mark = context.getAttribute(MARK) instanceof DecimalMark it ? it : DecimalMark.POINT;
            return Cell.of(in.getValueAsString(""), mark);
        }
    }

    private static final class PictureWriter extends JsonSerializer<Picture> {
        @Override
        public void serialize(Picture picture, JsonGenerator out, SerializerProvider context) throws IOException {
            out.writeBinary(picture.bytes());
        }
    }

    private static final class PictureReader extends JsonDeserializer<Picture> {
        @Override
        public Picture deserialize(JsonParser in, DeserializationContext context) throws IOException {
            byte[] bytes = in.getBinaryValue();
            if (bytes.length == 0 || bytes.length > Picture.MOST_BYTES) {
                return context.reportInputMismatch(Picture.class, "a picture of %d bytes", bytes.length);
            }
            Optional<String> refused = PictureFile.refusal(bytes, "the picture");
            if (refused.isPresent()) {
                return context.reportInputMismatch(Picture.class, refused.get());
            }
            return Picture.of(bytes);
        }
    }

    private static final class CurveWriter extends JsonSerializer<Curve> {
        @Override
        public void serialize(Curve curve, JsonGenerator out, SerializerProvider context) throws IOException {
            out.writeString(curve.key());
        }
    }

    private static final class CurveReader extends JsonDeserializer<Curve> {
        @Override
        public Curve deserialize(JsonParser in, DeserializationContext context) throws IOException {
            String code = in.getValueAsString("");
            return Curve.ofKey(code).orElseThrow(() -> context.weirdStringException(code, Curve.class, "no such curve"));
        }
    }
}
