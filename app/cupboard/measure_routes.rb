module Restauro
  # Translating measures: lines, oven temperatures and pans; and what the cook's drawer holds.
  module MeasureRoutes
    TOOLS = ["1 cup", "1/2 cup", "1/3 cup", "1/4 cup", "1 tbsp", "1 tsp", "1/2 tsp", "1/4 tsp", "1/8 tsp"].freeze

    def self.registered(web)
      web.helpers do
        def measure_page(text, from, into)
          tools = services.household.tools
          translation = MeasurePage.new(text, from: from, into: into, tools: tools, services: services)
          page :measures,
               room: "Cupboard",
               title: "Measures",
               text: text,
               from: from,
               into: into,
               translation: translation,
               tools: (tools || DataFiles.yaml("units/tools.yml")).map { |tool| "#{tool["count"]} #{tool["unit"]}" }
        end

        def system_param(name) = KitchenUnits::SYSTEMS.include?(params[name]) ? params[name] : "metric"
      end

      web.get("/cupboard/measures") do
        measure_page("1 cup sorghum flour, dipped\n400F\n8 inch square into 23 cm round", "us", "metric")
      end
      web.post("/cupboard/measures") do
        measure_page(FormText.clean(params["text"])[0, 4000], system_param("from"), system_param("into"))
      end

      web.post("/cupboard/drawer") do
        chosen = Array(params["tools"]).grep(String) & TOOLS
        services.household.tools =
          chosen.map { |tool| tool.split(" ", 2).then { |count, unit| {"count" => count, "unit" => unit} } }
        redirect to("/cupboard/measures"), 303
      end
    end
  end
end
