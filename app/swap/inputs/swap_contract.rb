# frozen_string_literal: true

require "dry/validation"

module Restauro
  # What each choice of the Swap form may be.
  class SwapContract < Dry::Validation::Contract
    params do
      required(:units).filled(:string, included_in?: KitchenUnits::SYSTEMS)
      optional(:family).maybe(:string, included_in?: Families::KEYS)
      required(:rung).filled(:string, included_in?: ["keep", *Hydration::Rung.all.map(&:key)])
      required(:tin).filled(:string, included_in?: Families::Batter::Tin.all.map(&:key))
      %i[flour dust crumb piece oven oil].each { |name| optional(name).maybe(:string, max_size?: 120) }
      optional(:school).maybe(:string, included_in?: Families::Sauce::Options::SCHOOLS)
      optional(:with).maybe(:string, max_size?: 200)
      required(:grade).filled(:string, included_in?: SwapInput::GRADES)
      required(:spoons).filled(:float, gteq?: 0.1, lteq?: 6)
      required(:heat).filled(:string, included_in?: %w[low medium medium_high high])
      optional(:simmer).maybe(:float, gteq?: 0, lteq?: 240)
      optional(:colour).maybe(:string, included_in?: Families::Sauce::Roux::COLOURS)
      optional(:pour).maybe(:string, included_in?: Families::Sauce::LumpRisk::POURS.keys)
      optional(:lid).maybe(:string, included_in?: %w[on])
      required(:stir).filled(:string, included_in?: Families::Sauce::Options::STIRRING)
      optional(:becomes).maybe(:string, included_in?: Families::Sauce::Becomes::KEYS)
      optional(:happens).maybe(:string, max_size?: 1200)
      optional(:book).maybe(:string, included_in?: %w[yes])
      optional(:look).maybe(:float, gteq?: 0, lteq?: 100)
      DoughInput::NUMBERS.each_key { |name| optional(name.to_sym).maybe(:float) }
      [*DoughInput::WORDS.keys, "frozen"].each { |name| optional(name.to_sym).maybe(:string, max_size?: 40) }
      CrustInput::FIELDS.each { |name| optional(name.to_sym).maybe(:string, max_size?: 200) }
      optional(:diets).maybe(:string, max_size?: 300)
      optional(:eaters).maybe(:string, max_size?: 300, format?: /\A(?:all|none|[\d,]*)\z/)
      optional(:two).maybe(:string, max_size?: 20)
      optional(:scale).maybe(:string, max_size?: 80)
      optional(:part).maybe(:string, max_size?: 120)
      required(:altitude).filled(:float, gteq?: -400, lteq?: 5000)
    end
  end
end
