package hestra.documents.exercise;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import hestra.task.Aid;
import hestra.task.Hint;
import hestra.task.Terms;

/** The terms of a task as files have them: one beside the other, as {@link Terms} names them. */
record TermsInFile(String id, String title, String prompt, int marks, int tries, Set<Aid> opens, String hint,
        Terms.Showing verdict, Terms.Opening opening, Terms.Afterwards afterwards, Terms.Playing playing, Terms.Counting counting,
        Optional<List<Hint>> hints, Optional<String> why, Optional<String> paper,
        Optional<Boolean> printed) {

    private static TermsInFile of(Terms terms) {
        return new TermsInFile(terms.id(), terms.title(), terms.prompt(), terms.marks(), terms.tries(), terms.opens(),
                terms.hint(),
                terms.verdict(), terms.opening(), terms.afterwards(), terms.playing(), terms.counting(), terms.telling().hints(),
                terms.telling().why(),
                terms.printed().prompt(), Optional.of(false).filter(_ -> terms.printed().leftOut()));
    }

    private Terms terms() {
        return new Terms(id, title, prompt, new Terms.Scoring(marks, tries, counting, playing),
                new Terms.Telling(verdict, hint, afterwards, hints, why), new Terms.Opened(opens, opening),
                new Terms.Printed(paper, !printed.orElse(true)));
    }

    /** Writes terms. */
    static final class Writer extends JsonSerializer<Terms> {
        @Override
        public void serialize(Terms terms, JsonGenerator out, SerializerProvider provider) throws IOException {
            provider.defaultSerializeValue(of(terms), out);
        }
    }

    /** Reads terms. */
    static final class Reader extends JsonDeserializer<Terms> {
        @Override
        public Terms deserialize(JsonParser in, DeserializationContext context) throws IOException {
            TermsInFile read = context.readValue(in, TermsInFile.class);
            try {
                return read.terms();
            } catch (IllegalArgumentException e) {
                throw JsonMappingException.from(in, e.getMessage(), e);
            }
        }
    }
}
