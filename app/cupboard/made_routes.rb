module Restauro
  # What was made ahead or left over, in the Cupboard.
  module MadeRoutes
    def self.registered(web)
      web.helpers Helpers

      web.post("/cupboard/made") do
        services.made.add(**made_fields)
        redirect to(params["from"] == "table" ? "/table" : "/cupboard"), 303
      end

      web.post("/cupboard/made/:id/gone") do
        services.made.gone(params["id"].to_s[/\A\d{1,9}\z/].to_i)
        redirect to("/cupboard"), 303
      end
    end

    module Helpers
      def made_fields
        name, dish, part = %w[name dish part].map { |field| FormText.clean(params[field]).strip[0, 120] }
        raise InvalidInput, "say what it is, such as tart dough" if name.empty?
        unless Planning::Ahead.rows.key?(params["kind"])
          raise InvalidInput, "it is #{Planning::Ahead.rows.values.map { |row| row["say"] }.uniq.join(", ")}"
        end

        {name: name, kind: params["kind"], dish: dish, part: part, grams: made_grams, made_on: made_on}
      end

      def made_grams
        text = params["grams"].to_s.strip
        return if text.empty?

        grams = FormText.number(text)
        grams&.between?(1, 20_000) ? grams : raise(InvalidInput, "grams are a number such as 350, got '#{text[0, 20]}'")
      end

      def made_on
        text = params["made_on"].to_s
        text.empty? ? services.clock.call.to_date : Date.iso8601(text)
      rescue Date::Error
        raise InvalidInput, "the day it was made is such as 2026-11-24, got '#{text[0, 20]}'"
      end
    end
  end
end
